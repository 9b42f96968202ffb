#pragma once
#include <iostream>
#include <string>

class Sender {
public:
    virtual ~Sender() = default;
    virtual void send(const std::string& text) = 0;
};

class RadioSender : public Sender {
public:
    void send(const std::string& text) override { std::cout << "radio " << text; }
};

class FlagSender : public Sender {
public:
    void send(const std::string& text) override { std::cout << text.size() << " flags"; }
};

class RepeatedSender : public Sender {
public:
    RepeatedSender(Sender& inner, int times) : inner_(inner), times_(times) {}
    void send(const std::string& text) override {
        for (int i = 0; i < times_; ++i) {
            inner_.send(text);
        }
    }

private:
    Sender& inner_;
    int times_;
};

class SignedSender : public Sender {
public:
    SignedSender(Sender& inner, std::string name) : inner_(inner), name_(std::move(name)) {}
    void send(const std::string& text) override { inner_.send(text + " - " + name_); }

private:
    Sender& inner_;
    std::string name_;
};
