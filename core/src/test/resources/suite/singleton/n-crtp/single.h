#pragma once

template <typename T>
class Single {
public:
    static T& get() {
        static T only;
        return only;
    }

    Single(const Single&) = delete;
    Single& operator=(const Single&) = delete;

protected:
    Single() = default;
};
