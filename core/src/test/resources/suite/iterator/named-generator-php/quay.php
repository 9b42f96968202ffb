<?php

final class Quay
{
    private array $berths = [];

    public function add(string $name): void
    {
        $this->berths[] = $name;
    }

    public function backwards(): \Generator
    {
        for ($i = count($this->berths) - 1; $i >= 0; $i--) {
            yield $this->berths[$i];
        }
    }
}

$quay = new Quay();
$quay->add('west');
foreach ($quay->backwards() as $name) {
    echo $name;
}
