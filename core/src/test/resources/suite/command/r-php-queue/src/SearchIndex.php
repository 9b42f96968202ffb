<?php
namespace Shop;

class SearchIndex
{
    private array $words = [];

    public function clear(): void
    {
        $this->words = [];
    }

    public function fill(): void
    {
        $this->words[] = 'tea';
    }
}
