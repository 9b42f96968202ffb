#include "senders.h"

int main() {
    RadioSender radio;
    SignedSender signedOne(radio, "Aldera port");
    RepeatedSender repeated(signedOne, 3);
    repeated.send("storm");
    FlagSender flags;
    RepeatedSender(flags, 2).send("calm");
}
