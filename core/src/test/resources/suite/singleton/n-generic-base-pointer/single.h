#pragma once

template <class T>
class Single {
public:
    static T* instance() {
        if (!instance_) {
            instance_ = new T();
        }
        return instance_;
    }

protected:
    Single() {}

private:
    static T* instance_;
};

template <class T>
T* Single<T>::instance_ = nullptr;
