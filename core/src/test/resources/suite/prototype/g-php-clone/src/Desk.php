<?php
namespace Aldera\Forms;

final class Desk
{
    /** @var array<string, Template> */
    private array $masters = [];

    public function master(string $name, Template $template): void
    {
        $this->masters[$name] = $template;
    }

    public function issue(string $name): Template
    {
        return $this->masters[$name]->copy();
    }
}
