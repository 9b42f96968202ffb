<?php
namespace Site\Menu;

final class Link implements Entry
{
    public function __construct(private string $label, private string $path)
    {
    }

    public function html(int $depth = 0): string
    {
        return str_repeat(' ', $depth) . "<a href=\"{$this->path}\">{$this->label}</a>";
    }

    public function isActive(string $path): bool
    {
        return $path === $this->path;
    }
}
