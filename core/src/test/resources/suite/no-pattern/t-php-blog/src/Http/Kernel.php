<?php
namespace Blog\Http;

interface Handler
{
    public function handle(Request $request): Response;
}

abstract class Middleware implements Handler
{
    public function __construct(protected readonly Handler $next)
    {
    }
}

final class RequireLogin extends Middleware
{
    public function handle(Request $request): Response
    {
        return isset($_SESSION['user']) ? $this->next->handle($request) : Response::redirect('/login');
    }
}

final class TimeIt extends Middleware
{
    public function handle(Request $request): Response
    {
        $start = hrtime(true);
        $response = $this->next->handle($request);
        return $response->header('X-Time', (string) (hrtime(true) - $start));
    }
}
