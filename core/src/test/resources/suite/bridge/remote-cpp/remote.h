class Device {
public:
    virtual ~Device() = default;
    virtual void power(bool on) = 0;
};
class Lamp : public Device {
public:
    void power(bool on) override { lit_ = on; }
private:
    bool lit_ = false;
};
class Siren : public Device {
public:
    void power(bool on) override { loud_ = on ? 9 : 0; }
private:
    int loud_ = 0;
};
class Remote {
public:
    explicit Remote(Device& device) : device_(device) {}
    virtual ~Remote() = default;
    virtual void press() { device_.power(true); }
protected:
    Device& device_;
};
class LongRemote : public Remote {
public:
    explicit LongRemote(Device& device) : Remote(device) {}
    void press() override { device_.power(true); device_.power(false); }
};
class Desk {
public:
    void test() {
        Lamp lamp;
        Siren siren;
        LongRemote one(lamp);
        Remote two(siren);
        one.press();
        two.press();
    }
};
