class Job:
    def run(self):
        self.log = ["begin"]
        self.prepare()
        for step in self.steps():
            self.log.append(step)
        self.log.append("end")
        return self.log

    def prepare(self):
        pass


class Painting(Job):
    def steps(self):
        return ["scrape", "prime", "paint"]


class Caulking(Job):
    def prepare(self):
        self.log.append("heat pitch")

    def steps(self):
        return ["clean", "fill"]


print(Painting().run(), Caulking().run())
