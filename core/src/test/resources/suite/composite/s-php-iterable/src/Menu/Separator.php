<?php
namespace Site\Menu;

final class Separator implements Entry
{
    public function html(int $depth = 0): string
    {
        return '<hr>';
    }

    public function isActive(string $path): bool
    {
        return false;
    }
}
