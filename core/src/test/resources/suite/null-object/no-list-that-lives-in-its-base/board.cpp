#include <string>
#include <vector>

class Board {
public:
    virtual ~Board() = default;
    virtual void chosen(int row) = 0;
    void add(const std::string& row) { rows.push_back(row); }
    void move(int by) { at += by; }
    void press() { chosen(at); }

private:
    std::vector<std::string> rows;
    int at = 0;
};

class TideBoard : public Board {
public:
    TideBoard() { add("high"); add("low"); }
    void chosen(int row) override { shown = row; }

private:
    int shown = 0;
};

class NoticeBoard : public Board {
public:
    NoticeBoard() { add("gale"); add("fog"); }
    void chosen(int) override {}
};

class Hall {
public:
    void open() {
        boards.push_back(new TideBoard());
        boards.push_back(new NoticeBoard());
    }
    void press(int which) { boards[which]->press(); }

private:
    std::vector<Board*> boards;
};
