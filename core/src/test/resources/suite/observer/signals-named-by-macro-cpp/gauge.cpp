#include "gauge.h"

void Gauge::setLevel(int centimetres, bool checked)
{
    level = centimetres;
    emit levelChanged(level, checked);
}

void Siren::onLevel(int centimetres, bool)
{
    heard = centimetres;
}

TideLog::TideLog(Gauge* gauge)
{
    connect(gauge, SIGNAL(levelChanged(int, bool)), SLOT(note(int, bool)));
}

void TideLog::note(int, bool)
{
    lines = lines + 1;
}

void wire(Gauge* gauge, Siren* siren)
{
    QObject::connect(gauge, SIGNAL(levelChanged(int,bool)), siren, SLOT(onLevel(int,bool)), Qt::QueuedConnection);
}
