<?php
namespace Aldera\Http;
final class Request { public function __construct(public readonly string $path, public readonly ?string $user = null) {} }
interface Handler { public function handle(Request $request): string; }
abstract class Middleware implements Handler
{
    private ?Handler $next = null;
    public function then(Handler $next): Handler { $this->next = $next; return $next; }
    protected function forward(Request $request): string
    {
        return $this->next === null ? '404' : $this->next->handle($request);
    }
}
final class Login extends Middleware
{
    public function handle(Request $request): string
    {
        if ($request->user === null) { return '401'; }
        return $this->forward($request);
    }
}
final class Throttle extends Middleware
{
    private int $seen = 0;
    public function handle(Request $request): string
    {
        return ++$this->seen > 100 ? '429' : $this->forward($request);
    }
}
final class BerthPage extends Middleware
{
    public function handle(Request $request): string
    {
        return $request->path === '/berths' ? 'A1 A2' : $this->forward($request);
    }
}
final class Site
{
    private Handler $first;
    public function __construct()
    {
        $login = new Login();
        $login->then(new Throttle())->then(new BerthPage());
        $this->first = $login;
    }
    public function get(string $path): string { return $this->first->handle(new Request($path, 'ana')); }
}
