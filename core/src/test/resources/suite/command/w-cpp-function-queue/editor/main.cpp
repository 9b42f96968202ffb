#include "actions.h"

int main() {
    Document document;
    History history;
    history.perform(std::make_unique<Insertion>(document, 0, "dear harbour"));
    history.perform(std::make_unique<Deletion>(document, 0, 5));
    history.undo();
}
