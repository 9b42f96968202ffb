<?php
interface Job {}
class Big implements Job { function run() {} }
class Quay {
  /** @var Job[] */
  private array $jobs = [];
  function __construct(private Job $one) {}
  function a1(Job $j) { if ($j instanceof Big) { $j->run(); } }
  function a2() { if ($this->one instanceof Big) { $this->one->run(); } }
  function a3() { foreach ($this->jobs as $j) { if ($j instanceof Big) $j->run(); } }
  function a4(Job $j) { if (!$j instanceof Big) { return; } $j->run(); }
  function a5(Job $j) { return $j instanceof Big ? $j->run() : null; }
}
