#pragma once
#include <string>
#include <vector>

class Scanner { public: std::vector<std::string> files(const std::string& root) const; };
class Compiler { public: std::string object(const std::string& file); int warnings() const { return warnings_; } private: int warnings_ = 0; };
class Linker { public: bool link(const std::vector<std::string>& objects, const std::string& out); };

class Build {
public:
    bool run(const std::string& root, const std::string& out);

private:
    Scanner scanner_;
    Compiler compiler_;
    Linker linker_;
};
