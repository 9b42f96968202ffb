#include <string>
class Siren { public: void sound(int s) { seconds_ += s; } void stop() { seconds_ = 0; } private: int seconds_ = 0; };
class Crane {
public:
    explicit Crane(Siren* siren) : siren_(siren) {}
    void lift() { if (siren_ != nullptr) { siren_->sound(2); } height_++; }
    void lower() { height_--; if (siren_) siren_->sound(1); }
    void park() { if (!siren_) return; siren_->stop(); }
private:
    Siren* siren_;
    int height_ = 0;
};
class Hoist {
public:
    explicit Hoist(Siren* siren) : siren_(siren) {}
    void lift() { if (siren_) siren_->sound(1); }
private:
    Siren* siren_;
};
