#pragma once
#include <QObject>

class Tank : public QObject {
    Q_OBJECT
public:
    explicit Tank(QObject* parent = nullptr) : QObject(parent) {}

    void fill(int litres) {
        level_ += litres;
        emit levelChanged(level_);
    }

signals:
    void levelChanged(int litres);

private:
    int level_ = 0;
};
