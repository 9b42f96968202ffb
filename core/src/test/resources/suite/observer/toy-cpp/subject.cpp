#include <iostream>
#include <list>
#include <string>

class IObserver {
public:
    virtual ~IObserver() {}
    virtual void Update(const std::string& message) = 0;
};

class ISubject {
public:
    virtual ~ISubject() {}
    virtual void Attach(IObserver* observer) = 0;
    virtual void Detach(IObserver* observer) = 0;
    virtual void Notify() = 0;
};

class Subject : public ISubject {
public:
    void Attach(IObserver* observer) override { list_.push_back(observer); }
    void Detach(IObserver* observer) override { list_.remove(observer); }
    void Notify() override {
        std::list<IObserver*>::iterator iterator = list_.begin();
        while (iterator != list_.end()) {
            (*iterator)->Update(message_);
            ++iterator;
        }
    }
    void CreateMessage(std::string message = "Empty") {
        this->message_ = message;
        Notify();
    }

private:
    std::list<IObserver*> list_;
    std::string message_;
};

class Observer : public IObserver {
public:
    Observer(Subject& subject) : subject_(subject) {
        this->subject_.Attach(this);
        this->number_ = ++Observer::static_number_;
    }
    void Update(const std::string& message) override {
        message_ = message;
        PrintInfo();
    }
    void RemoveMe() { subject_.Detach(this); }
    void PrintInfo() { std::cout << message_ << number_; }

private:
    std::string message_;
    Subject& subject_;
    static int static_number_;
    int number_;
};

int Observer::static_number_ = 0;
