#include <string>
class BerthPrinter {
public:
    void setHeader(bool on) { header_ = on; }
    void setFooter(bool on) { footer_ = on; }
    void setStamp(bool on) { stamp_ = on; }
    std::string print(const std::string& body) const {
        std::string out;
        if (header_) out += "Port of Aldera\n";
        out += body;
        if (stamp_) out += "\n[stamp]";
        if (footer_) out += "\npage 1";
        return out;
    }
private:
    bool header_ = true, footer_ = false, stamp_ = false;
};
class Gate {
public:
    void open() { open_ = true; }
    bool pass(int tonnes) const { return open_ && tonnes < 40; }
private:
    bool open_ = false;
};
int main() { BerthPrinter p; p.setStamp(true); Gate g; g.open(); return p.print("x").size() + g.pass(3); }
