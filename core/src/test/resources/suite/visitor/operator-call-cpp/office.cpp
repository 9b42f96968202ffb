#include "parcel.h"

class Office {
public:
    void bring(std::unique_ptr<Parcel> parcel) { parcels_.push_back(std::move(parcel)); }

    int postage() const {
        Postage postage;
        for (const auto& parcel : parcels_) {
            parcel->accept(postage);
        }
        return postage.cents();
    }

    void count(Counting& counting) const {
        for (const auto& parcel : parcels_) parcel->accept(counting);
    }

private:
    std::vector<std::unique_ptr<Parcel>> parcels_;
};
