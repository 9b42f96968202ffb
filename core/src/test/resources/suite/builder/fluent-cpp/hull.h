#include <vector>
class Hull {
public:
    Hull(int length, std::vector<int> plates) : length_(length), plates_(plates) {}
    int length() const { return length_; }
private:
    int length_;
    std::vector<int> plates_;
};
class HullBuilder {
public:
    HullBuilder& length(int l) { length_ = l; return *this; }
    HullBuilder& plate(int p) { plates_.push_back(p); return *this; }
    Hull build() const { return Hull(length_, plates_); }
private:
    int length_ = 0;
    std::vector<int> plates_;
};
class Yard {
public:
    int lay() { return HullBuilder().length(30).plate(4).build().length(); }
};
