<?php
declare(strict_types=1);

namespace Blog\Http;

final readonly class Request
{
    public function __construct(public string $method, public string $path, public array $query = [], public array $body = [])
    {
    }

    public function with(string $key, mixed $value): self
    {
        return new self($this->method, $this->path, $this->query, [...$this->body, $key => $value]);
    }
}
