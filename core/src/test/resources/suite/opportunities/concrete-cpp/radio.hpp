#pragma once
#include <string>
class Radio { public: virtual ~Radio() = default; virtual void send(const std::string& t) = 0; virtual int channel() const = 0; };
class VhfRadio : public Radio { public: void send(const std::string& t) override { sent_ += t.size(); } int channel() const override { return 16; } private: int sent_ = 0; };
class SatRadio : public Radio { public: void send(const std::string& t) override { cost_ += 3; } int channel() const override { return 0; } private: int cost_ = 0; };
class Bridge { public: explicit Bridge(VhfRadio& radio) : radio_(radio) {} void mayday() { radio_.send("mayday"); } private: VhfRadio& radio_; };
class Office { public: explicit Office(Radio& radio) : radio_(radio) {} void call() { radio_.send("call"); } private: Radio& radio_; };
