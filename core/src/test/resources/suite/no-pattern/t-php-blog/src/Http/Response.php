<?php
namespace Blog\Http;

final class Response
{
    private array $headers = [];

    private function __construct(private int $status, private string $body)
    {
    }

    public static function html(string $body, int $status = 200): self
    {
        return (new self($status, $body))->header('Content-Type', 'text/html');
    }

    public static function redirect(string $to): self
    {
        return (new self(302, ''))->header('Location', $to);
    }

    public function header(string $name, string $value): self
    {
        $copy = clone $this;
        $copy->headers[$name] = $value;
        return $copy;
    }

    public function send(): void
    {
        http_response_code($this->status);
        foreach ($this->headers as $name => $value) {
            header("$name: $value");
        }
        echo $this->body;
    }
}
