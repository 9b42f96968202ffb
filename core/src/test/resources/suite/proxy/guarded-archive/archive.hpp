#include <string>
#include <stdexcept>
#include <memory>

class IArchive {
public:
    virtual ~IArchive() {}
    virtual std::string read(int page) const = 0;
    virtual void write(int page, const std::string& text) = 0;
};

class PaperArchive : public IArchive {
public:
    std::string read(int page) const override { return pages_[page % 10]; }
    void write(int page, const std::string& text) override { pages_[page % 10] = text; }
private:
    std::string pages_[10];
};

class GuardedArchive : public IArchive {
public:
    GuardedArchive(std::shared_ptr<PaperArchive> archive, bool clerk) : archive_(std::move(archive)), clerk_(clerk) {}
    std::string read(int page) const override { return archive_->read(page); }
    void write(int page, const std::string& text) override {
        if (!clerk_) {
            throw std::runtime_error("clerks only");
        }
        archive_->write(page, text);
    }
private:
    std::shared_ptr<PaperArchive> archive_;
    bool clerk_;
};
