#include <fstream>
#include <string>
#include <vector>

class DepthChart {
public:
    explicit DepthChart(const std::string& path) {
        std::ifstream in(path);
        double depth;
        while (in >> depth) {
            depths.push_back(depth);
        }
    }

    double at(int index) const { return depths[index]; }

private:
    std::vector<double> depths;
};

int main() {
    DepthChart chart("aldera.dep");
    return static_cast<int>(chart.at(0));
}
