#pragma once
#include <stack>

class Course {
public:
    class Mark {
        friend class Course;
        Mark(double heading, double knots) : heading_(heading), knots_(knots) {}
        const double heading_;
        const double knots_;
    };

    void turn(double by) { heading_ += by; }
    void speed(double knots) { knots_ = knots; }
    Mark mark() const { return Mark(heading_, knots_); }
    void returnTo(const Mark& mark) {
        heading_ = mark.heading_;
        knots_ = mark.knots_;
    }

private:
    double heading_ = 0;
    double knots_ = 0;
};

class Helm {
public:
    explicit Helm(Course& course) : course_(course) {}
    void evade(double by) {
        marks_.push(course_.mark());
        course_.turn(by);
    }
    void resume() {
        if (marks_.empty()) return;
        course_.returnTo(marks_.top());
        marks_.pop();
    }
private:
    Course& course_;
    std::stack<Course::Mark> marks_;
};
