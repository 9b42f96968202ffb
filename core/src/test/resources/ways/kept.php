<?php
interface Job { public function run(): void; public function weight(): int; }
class Holder { public ?Job $job = null; /** @var Job[] */ public array $list = []; }
class Quay {
  /** @var Job[] */
  private array $jobs = [];
  private ?Job $one = null;
  /** @var array<string, Job> */
  private array $byName = [];
  /** @var array<string, list<Job>> */
  private array $lists = [];
  /** @var array<int, array{0: string, 1: Job}> */
  private array $pairs = [];
  private \SplObjectStorage $storage;
  /** @var \SplQueue<Job> */
  private \SplQueue $queue;
  /** @var \Closure(): Job */
  private \Closure $fn;
  private Holder $holder;
  /** @var iterable<Job> */
  private iterable $any;
  private \WeakReference $soft;
  /** @var Collection<int, Job>|Job[] */
  private $both;
  function a1() { $this->one?->run(); }
  function a2() { if ($this->one) { $this->one->run(); } }
  function a3() { if ($this->one === null) { return; } $this->one->run(); }
  function a4() { $job = $this->one ?? $this->jobs[0]; $job->run(); }
  function a5() { if (($job = $this->one) !== null) { $job->run(); } }
  function a6() { foreach ($this->jobs as $job) $job->run(); }
  function a7() { foreach ($this->jobs as $i => $job): $job->run(); endforeach; }
  function a8() { array_walk($this->jobs, fn (Job $j) => $j->run()); }
  function a9() { array_map(fn ($j) => $j->run(), $this->jobs); }
  function b1() { foreach (array_filter($this->jobs, fn ($j) => $j->weight() > 3) as $j) { $j->run(); } }
  function b2() { foreach (array_reverse($this->jobs) as $j) $j->run(); }
  function b3() { foreach (array_values($this->byName) as $j) $j->run(); }
  function b4() { $this->byName['x']->run(); }
  function b5() { if (isset($this->byName['x'])) { $this->byName['x']->run(); } }
  function b6() { ($this->byName['x'] ?? null)?->run(); }
  function b7() { foreach (array_keys($this->byName) as $k) { $this->byName[$k]->run(); } }
  function b8() { foreach ($this->lists as $list) foreach ($list as $j) $j->run(); }
  function b9() { foreach ($this->lists['x'] ?? [] as $j) $j->run(); }
  function c1() { foreach (array_merge(...array_values($this->lists)) as $j) $j->run(); }
  function c2() { foreach ($this->pairs as [$n, $j]) $j->run(); }
  function c3() { foreach ($this->pairs as $p) $p[1]->run(); }
  function c4() { while (!$this->queue->isEmpty()) { $this->queue->dequeue()->run(); } }
  function c5() { while ($j = array_shift($this->jobs)) { $j->run(); } }
  function c6() { while (($j = array_pop($this->jobs)) !== null) { $j->run(); } }
  function c7() { ($this->fn)()->run(); }
  function c8() { $this->holder->job?->run(); }
  function c9() { foreach ($this->holder->list as $j) $j->run(); }
  function d1() { foreach ($this->any as $j) $j->run(); }
  function d2() { for ($i = 0; $i < count($this->jobs); $i++) { $this->jobs[$i]->run(); } }
  function d3() { end($this->jobs)->run(); }
  function d4() { $copy = $this->jobs; foreach ($copy as $j) $j->run(); }
  function d5() { usort($this->jobs, fn ($a, $b) => 1); foreach ($this->jobs as $j) $j->run(); }
  function d6() { [$first] = $this->jobs; $first->run(); }
  function d7() { foreach ($this->jobs as &$j) { $j->run(); } unset($j); }
  function d8() { array_walk($this->jobs, function (Job $j) { $j->run(); }); }
  function d9() { current($this->jobs)->run(); }
  function e1() { reset($this->jobs); while ($j = current($this->jobs)) { $j->run(); next($this->jobs); } }
  function e2() { $f = function () { $this->one->run(); }; $f(); }
  function e3() { $one = $this->one; $f = function () use ($one) { $one->run(); }; $f(); }
  function e4() { foreach ($this->both as $j) $j->run(); }
  function e5() { $j = $this->jobs[array_key_first($this->jobs)]; $j->run(); }
  function e6() { array_reduce($this->jobs, fn ($c, Job $j) => $j->run()); }
  function e8() { foreach ([...$this->jobs, $this->one] as $j) $j->run(); }
  function e9() { try { $this->one->run(); } finally {} }
  function f1() { match (true) { $this->one !== null => $this->one->run(), default => null }; }
  function f2() { $this->one and $this->one->run(); }
  function f3() { foreach (array_slice($this->jobs, 0, 2) as $j) $j->run(); }
  function f4() { foreach (array_unique($this->jobs) as $j) $j->run(); }
  function f5() { foreach (iterator_to_array($this->any) as $j) $j->run(); }
}
