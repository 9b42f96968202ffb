<?php
interface Cargo
{
    public function fee(): int;
}

final class Grain implements Cargo
{
    public function fee(): int
    {
        return 3;
    }
}

final class Timber implements Cargo
{
    public function fee(): int
    {
        return 5;
    }
}

final class Register
{
    /** @var array<string, class-string<Cargo>> */
    private array $kinds = [];

    public function enter(string $name, string $kind): void
    {
        $this->kinds[$name] = $kind;
    }

    public function make(string $name): Cargo
    {
        if (!isset($this->kinds[$name])) {
            throw new OutOfBoundsException($name);
        }
        $kind = $this->kinds[$name];
        return new $kind();
    }
}

$register = new Register();
$register->enter('grain', Grain::class);
$register->enter('timber', Timber::class);
echo $register->make('grain')->fee();
