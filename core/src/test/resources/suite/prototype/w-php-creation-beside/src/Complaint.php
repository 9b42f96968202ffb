<?php
declare(strict_types=1);

namespace Office;

final class Complaint implements Form
{
    private function __construct(private string $about, private bool $urgent)
    {
    }

    public static function urgent(string $about): self
    {
        return new self($about, true);
    }

    public static function plain(string $about): self
    {
        return new self($about, false);
    }

    public function blank(): Form
    {
        return clone $this;
    }

    public function title(): string
    {
        return ($this->urgent ? '! ' : '') . $this->about;
    }
}
