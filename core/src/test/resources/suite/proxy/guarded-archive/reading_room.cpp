#include "archive.hpp"

class ReadingRoom {
public:
    explicit ReadingRoom(IArchive& archive) : archive_(archive) {}
    std::string first() { return archive_.read(1); }
private:
    IArchive& archive_;
};

std::unique_ptr<IArchive> openArchive(bool clerk) {
    return std::make_unique<GuardedArchive>(std::make_shared<PaperArchive>(), clerk);
}
