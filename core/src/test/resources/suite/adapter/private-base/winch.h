#pragma once

class Hoist {
public:
    virtual ~Hoist() = default;
    virtual void up(double metres) = 0;
    virtual void down(double metres) = 0;
};

class SteamWinch {
public:
    void turn(int turns) { turns_ += turns; }
    void slacken(int turns) { turns_ -= turns; }

private:
    int turns_ = 0;
};

class SteamHoist : public Hoist, private SteamWinch {
public:
    void up(double metres) override { turn(static_cast<int>(metres * 3)); }
    void down(double metres) override { slacken(static_cast<int>(metres * 3)); }
};

class ElectricHoist : public Hoist {
public:
    void up(double metres) override { at_ += metres; }
    void down(double metres) override { at_ -= metres; }

private:
    double at_ = 0;
};
