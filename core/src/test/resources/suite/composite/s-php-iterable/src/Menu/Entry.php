<?php
namespace Site\Menu;

interface Entry
{
    public function html(int $depth = 0): string;

    public function isActive(string $path): bool;
}
