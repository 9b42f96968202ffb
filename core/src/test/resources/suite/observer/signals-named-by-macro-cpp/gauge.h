#pragma once
#include <QObject>

class Gauge : public QObject {
    Q_OBJECT

public:
    void setLevel(int centimetres, bool checked);

signals:
    void levelChanged(int centimetres, bool checked);

private:
    int level = 0;
};

class Siren : public QObject {
    Q_OBJECT

public slots:
    void onLevel(int centimetres, bool checked);

private:
    int heard = 0;
};

class TideLog : public QObject {
    Q_OBJECT

public:
    explicit TideLog(Gauge* gauge);

private slots:
    void note(int centimetres, bool checked);

private:
    int lines = 0;
};
