#include <memory>
class Ticket {
public:
    virtual ~Ticket() = default;
    virtual int cents() const = 0;
};
class DayTicket : public Ticket { public: int cents() const override { return 900; } };
class NightTicket : public Ticket { public: int cents() const override { return 500; } };
class Booth {
public:
    virtual ~Booth() = default;
    int sell() { return make()->cents(); }
protected:
    virtual std::unique_ptr<Ticket> make() = 0;
};
class DayBooth : public Booth {
protected:
    std::unique_ptr<Ticket> make() override { return std::make_unique<DayTicket>(); }
};
class NightBooth : public Booth {
protected:
    std::unique_ptr<Ticket> make() override { return std::make_unique<NightTicket>(); }
};
