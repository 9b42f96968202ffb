#pragma once
#include <QObject>
#include "tank.h"

class Gauge : public QObject {
    Q_OBJECT
public:
    explicit Gauge(Tank* tank) {
        connect(tank, &Tank::levelChanged, this, &Gauge::show);
    }

public slots:
    void show(int litres) { shown_ = litres; }

private:
    int shown_ = 0;
};

class Overflow : public QObject {
    Q_OBJECT
public:
    explicit Overflow(Tank* tank) {
        QObject::connect(tank, &Tank::levelChanged, this, &Overflow::check);
    }

private slots:
    void check(int litres) { open_ = litres > 100; }

private:
    bool open_ = false;
};
