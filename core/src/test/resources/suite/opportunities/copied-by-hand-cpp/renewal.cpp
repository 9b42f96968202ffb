#include "contract.h"

class Renewal {
public:
    Contract again(const Contract& old) {
        Contract next(old.holder());
        next.days(old.days());
        for (const auto& clause : old.clauses()) {
            next.add(clause);
        }
        return next;
    }
};

int main() {
    Contract contract("Ines");
    contract.discount(10);
    return Renewal().again(contract).price();
}
