<?php

declare(strict_types=1);

namespace Blog;

final class View
{
    private array $globals = [];

    public function __construct(private readonly string $folder)
    {
    }

    public function share(string $name, mixed $value): void
    {
        $this->globals[$name] = $value;
    }

    public function render(string $template, array $values = []): string
    {
        extract([...$this->globals, ...$values]);
        ob_start();
        include $this->folder . '/' . $template . '.php';
        return (string) ob_get_clean();
    }
}
