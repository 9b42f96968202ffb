#ifndef PUMPS_HPP
#define PUMPS_HPP

class Pump {
public:
    void start() { running = true; }
    void stop() { running = false; }
private:
    bool running = false;
};

class Valve {
public:
    void turn(int quarter) { position = quarter; }
private:
    int position = 0;
};

class Alarm {
public:
    void arm();
    void disarm();
private:
    bool armed = false;
};

#endif
