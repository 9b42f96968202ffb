<?php
namespace Aldera\Http;

interface Handler
{
    public function handle(array $request): string;
}

final class Page implements Handler
{
    public function handle(array $request): string
    {
        return '<h1>' . $request['title'] . '</h1>';
    }
}

final class Framed implements Handler
{
    private Handler $inner;

    public function __construct(?Handler $inner = null)
    {
        $this->inner = $inner ?? new Page();
    }

    public function handle(array $request): string
    {
        return '<body>' . $this->inner->handle($request) . '</body>';
    }
}

final class Timed implements Handler
{
    /** @var float[] */
    private array $times = [];

    public function __construct(private Handler $next)
    {
    }

    public function handle(array $request): string
    {
        $start = microtime(true);
        try {
            return $this->next->handle($request);
        } finally {
            $this->times[] = microtime(true) - $start;
        }
    }
}
