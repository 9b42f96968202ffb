<?php
namespace Aldera\Camera;
interface Camera { public function frame(): string; public function turn(int $degrees): void; }
class QuayCamera implements Camera {
    private int $angle = 0;
    public function __construct(private string $address) { fopen($address, 'r'); }
    public function frame(): string { return $this->address . '@' . $this->angle; }
    public function turn(int $degrees): void { $this->angle += $degrees; }
}
class LazyCamera implements Camera {
    private ?QuayCamera $camera = null;
    public function __construct(private string $address) {}
    private function camera(): QuayCamera {
        if (!$this->camera) { $this->camera = new QuayCamera($this->address); }
        return $this->camera;
    }
    public function frame(): string { return $this->camera()->frame(); }
    public function turn(int $degrees): void { $this->camera()->turn($degrees); }
}
class Guard {
    private LazyCamera $camera;
    private QuayCamera $spare;
    public function __construct() { $this->camera = new LazyCamera('north'); $this->spare = new QuayCamera('south'); }
    public function look(): string { return $this->camera->frame() . $this->spare->frame(); }
}
