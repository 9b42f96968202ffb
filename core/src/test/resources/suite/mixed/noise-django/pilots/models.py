from django.db import models


class Pilot(models.Model):
    name = models.CharField(max_length=80)
    licence = models.CharField(max_length=20, unique=True)
    active = models.BooleanField(default=True)

    class Meta:
        ordering = ["name"]

    def __str__(self):
        return self.name


class Passage(models.Model):
    pilot = models.ForeignKey(Pilot, on_delete=models.CASCADE, related_name="passages")
    ship = models.CharField(max_length=80)
    started = models.DateTimeField()
    ended = models.DateTimeField(null=True)

    @property
    def running(self):
        return self.ended is None

    def finish(self, when):
        if not self.running:
            raise ValueError("ended already")
        self.ended = when
        self.save(update_fields=["ended"])
