#include <iostream>
#include <string>
#include <vector>

struct Manifest {
    std::vector<std::string> lines;
    std::vector<std::string> stamps;
};

class ManifestMaker {
public:
    virtual ~ManifestMaker() = default;
    virtual void cargo() = 0;
    virtual void crew() = 0;
    virtual void stamp() = 0;
};

class FerryManifest : public ManifestMaker {
public:
    FerryManifest() : manifest(new Manifest) {}
    ~FerryManifest() override { delete manifest; }
    void cargo() override { manifest->lines.push_back("cars"); }
    void crew() override { manifest->lines.push_back("six hands"); }
    void stamp() override { manifest->stamps.push_back("ferry"); }
    Manifest* take() {
        Manifest* done = manifest;
        manifest = new Manifest;
        return done;
    }

private:
    Manifest* manifest;
};

class Clerk {
public:
    explicit Clerk(ManifestMaker& maker) : maker(maker) {}
    void write() {
        maker.cargo();
        maker.crew();
        maker.stamp();
    }

private:
    ManifestMaker& maker;
};

int main() {
    FerryManifest ferry;
    Clerk clerk(ferry);
    clerk.write();
    Manifest* manifest = ferry.take();
    std::cout << manifest->lines.size();
    delete manifest;
}
