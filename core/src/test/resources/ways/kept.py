from __future__ import annotations
from abc import ABC, abstractmethod
from collections import deque, defaultdict
from dataclasses import dataclass, field
from typing import Callable, Optional
import weakref
class Job(ABC):
    weight = 1
    @abstractmethod
    def run(self): ...
@dataclass
class Holder:
    job: Optional[Job] = None
    list: list[Job] = field(default_factory=list)
class Quay:
    def __init__(self, one: Job | None = None, fn: Callable[[], Job] = None):
        self.one = one
        self.fn = fn
        self.jobs: list[Job] = []
        self.by_name: dict[str, Job] = {}
        self.lists: dict[str, list[Job]] = defaultdict(list)
        self.queue: deque[Job] = deque()
        self.pairs: list[tuple[str, Job]] = []
        self.soft: weakref.ref[Job] = None
        self.softs: weakref.WeakSet[Job] = weakref.WeakSet()
        self.holder = Holder()
        self.bag: set[Job] = set()
        self.opt: Optional[Job] = None
    @property
    def current(self) -> Job: return self.jobs[0]
    def a1(self):
        if self.one: self.one.run()
    def a2(self):
        if self.one is not None:
            self.one.run()
    def a3(self):
        if (job := self.one) is not None:
            job.run()
    def a4(self):
        job = self.one or self.jobs[0]
        job.run()
    def a5(self):
        self.one and self.one.run()
    def a6(self):
        for job in self.jobs: job.run()
    def a7(self):
        for i, job in enumerate(self.jobs): job.run()
    def a8(self):
        [job.run() for job in self.jobs if job.weight > 3]
    def a9(self):
        for job in filter(lambda j: j.weight > 3, self.jobs): job.run()
    def b1(self):
        next((j for j in self.jobs if j.weight > 3), None).run()
    def b2(self):
        for job in list(self.jobs): job.run()
    def b3(self):
        for job in self.jobs[:]: job.run()
    def b4(self):
        for job in reversed(self.jobs): job.run()
    def b5(self):
        for job in sorted(self.jobs, key=lambda j: j.weight): job.run()
    def b6(self):
        self.by_name["x"].run()
    def b7(self):
        job = self.by_name.get("x")
        if job: job.run()
    def b8(self):
        for job in self.by_name.values(): job.run()
    def b9(self):
        for name, job in self.by_name.items(): job.run()
    def c1(self):
        for name in self.by_name: self.by_name[name].run()
    def c2(self):
        for job in self.lists["x"]: job.run()
    def c3(self):
        for job in self.lists.get("x", []): job.run()
    def c4(self):
        for jobs in self.lists.values():
            for job in jobs: job.run()
    def c5(self):
        while self.queue: self.queue.popleft().run()
    def c6(self):
        while self.queue:
            job = self.queue.popleft()
            job.run()
    def c7(self):
        try:
            while True: self.queue.pop().run()
        except IndexError: pass
    def c8(self):
        for name, job in self.pairs: job.run()
    def c9(self):
        for pair in self.pairs: pair[1].run()
    def d1(self):
        job = self.soft()
        if job is not None: job.run()
    def d2(self):
        for job in self.softs: job.run()
    def d3(self):
        self.holder.job.run()
    def d4(self):
        for job in self.holder.list: job.run()
    def d5(self):
        for job in self.bag: job.run()
    def d6(self):
        self.fn().run()
    def d8(self):
        self.jobs[-1].run()
    def d9(self):
        first, *rest = self.jobs
        first.run()
    def e1(self):
        max(self.jobs, key=lambda j: j.weight).run()
    def e2(self):
        match self.one:
            case None: pass
            case job: job.run()
    def e3(self):
        match self.holder:
            case Holder(job=job): job.run()
    def e4(self):
        for a, b in zip(self.jobs, self.jobs[1:]): a.run()
    def e5(self):
        list(map(lambda j: j.run(), self.jobs))
    def e6(self):
        any(j.run() for j in self.jobs)
    def e7(self):
        for i in range(len(self.jobs)): self.jobs[i].run()
    def e8(self):
        jobs = self.jobs
        for job in jobs: job.run()
    def f1(self):
        def go(): self.one.run()
        go()
    def f2(self):
        self.by_name.setdefault("x", self.one).run()
    def f3(self):
        assert self.opt is not None
        self.opt.run()
    def f4(self):
        for job in (self.one, self.opt):
            job.run()
    def f5(self):
        for job in [*self.jobs, self.one]: job.run()
    def f6(self):
        it = iter(self.jobs)
        for job in it: job.run()
    def f7(self):
        with self.holder: self.one.run()
    def f8(self):
        job, = self.jobs
        job.run()
    def f9(self):
        for job in tuple(self.jobs) + (self.one,): job.run()
    async def g1(self):
        for job in self.jobs: await job.run()
    def g2(self):
        import itertools
        for job in itertools.chain(self.jobs, self.queue): job.run()
    def g3(self):
        for jobs in [self.jobs, self.queue]:
            for job in jobs: job.run()
