package lab;

import java.io.IOException;

public class Station {
    public String report() throws IOException {
        return Probe.at("roof").last() + Probe.at("cellar").last();
    }
}
