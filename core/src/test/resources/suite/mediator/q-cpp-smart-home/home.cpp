#include "home.h"

void Home::notify(Device* sender, const std::string& event) {
    if (sender == &alarm_ && event == "rang") {
        blinds_.open();
        kettle_.boil();
    } else if (sender == &kettle_) {
        alarm_.snooze();
    }
}

int main() {
    Home home;
    home.alarm().ring();
}
