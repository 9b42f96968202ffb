<?php

interface Handler
{
    public function handle(array $request): array;
}

abstract class Layer implements Handler
{
    public function __construct(protected Handler $next)
    {
    }
}

final class Login extends Layer
{
    public function handle(array $request): array
    {
        if (!isset($request['user'])) {
            return ['status' => 401];
        }
        return $this->next->handle($request);
    }
}

final class Tariff extends Layer
{
    public function handle(array $request): array
    {
        if ($request['tons'] > 900) {
            return ['status' => 413];
        }
        return $this->next->handle($request);
    }
}

final class Answer implements Handler
{
    public function handle(array $request): array
    {
        return ['status' => 200, 'fee' => $request['tons'] * 3];
    }
}

$pipe = new Login(new Tariff(new Answer()));
print_r($pipe->handle(['user' => 'ada', 'tons' => 40]));
