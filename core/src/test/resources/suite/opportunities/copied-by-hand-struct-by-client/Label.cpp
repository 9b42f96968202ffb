#include <string>
#include <vector>

class Label {
public:
    Label(std::string text, int size) : text(text), size(size) {}
    const std::string& getText() const { return text; }
    int getSize() const { return size; }
    void mark(const std::string& stamp) { stamps.push_back(stamp); }
    int marks() const { return static_cast<int>(stamps.size()); }

private:
    std::string text;
    int size;
    std::vector<std::string> stamps;
};

class LabelPress {
public:
    Label again(const Label& label) {
        Label copy(label.getText(), label.getSize());
        return copy;
    }
};

int main() {
    Label label("rope", 3);
    label.mark("seen");
    return LabelPress().again(label).marks();
}
