from well import Chart, Siren, Well

well = Well(Siren())
well.watch(Chart())
well.measure(3.5)
