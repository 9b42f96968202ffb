<?php
namespace Aldera\Form;
class Draft { public string $name; public int $berths; public function __construct(string $name, int $berths) { $this->name = $name; $this->berths = $berths; } }
class BookingForm
{
    private string $name = ''; private int $berths = 0; private bool $paid = false;
    public function type(string $name): void { $this->name = $name; }
    public function berths(int $n): void { $this->berths = $n; }
    public function pay(): void { $this->paid = true; }
    public function draft(): Draft { return new Draft($this->name, $this->berths); }
    public function reopen(Draft $draft): void { $this->name = $draft->name; $this->berths = $draft->berths; }
}
class Wizard
{
    /** @var Draft[] */
    private array $drafts = [];
    public function __construct(private BookingForm $form) {}
    public function next(): void { $this->drafts[] = $this->form->draft(); }
    public function back(): void { $draft = array_pop($this->drafts); if ($draft && $draft->berths > 0) { $this->form->reopen($draft); } }
}
