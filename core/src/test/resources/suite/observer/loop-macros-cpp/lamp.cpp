#include <QList>
#include <boost/foreach.hpp>

class Watcher {
public:
    virtual ~Watcher() {}
    virtual void flashed(const QString& code) = 0;
};

class Lamp {
public:
    void add(Watcher* watcher) { watchers << watcher; }
    void leave(Watcher* watcher) { watchers.removeOne(watcher); }
    void flash(const QString& code) {
        last = code;
        foreach (Watcher* watcher, watchers) {
            watcher->flashed(code);
        }
    }
    void repeat() {
        forever {
            if (last.isEmpty()) {
                break;
            }
            last.chop(1);
            BOOST_FOREACH(Watcher *watcher, watchers)
                watcher->flashed(last);
        }
    }

private:
    QList<Watcher*> watchers;
    QString last;
};
