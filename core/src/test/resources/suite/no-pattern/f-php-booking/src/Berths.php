<?php

declare(strict_types=1);

namespace Aldera\Booking;

interface BerthRepository
{
    public function find(int $id): ?Berth;

    /** @return Berth[] */
    public function free(\DateTimeImmutable $night): array;

    public function save(Berth $berth): void;
}

final class PdoBerthRepository implements BerthRepository
{
    public function __construct(private readonly \PDO $pdo)
    {
    }

    public function find(int $id): ?Berth
    {
        $statement = $this->pdo->prepare('select * from berth where id = ?');
        $statement->execute([$id]);
        $row = $statement->fetch();
        return $row === false ? null : Berth::fromRow($row);
    }

    public function free(\DateTimeImmutable $night): array
    {
        $statement = $this->pdo->prepare('select * from berth where id not in (select berth from booking where night = ?)');
        $statement->execute([$night->format('Y-m-d')]);
        return array_map([Berth::class, 'fromRow'], $statement->fetchAll());
    }

    public function save(Berth $berth): void
    {
        $this->pdo->prepare('update berth set metres = ? where id = ?')->execute([$berth->metres(), $berth->id()]);
    }
}

final class CachedBerthRepository implements BerthRepository
{
    /** @var array<int, Berth> */
    private array $seen = [];

    public function __construct(private readonly BerthRepository $inner)
    {
    }

    public function find(int $id): ?Berth
    {
        return $this->seen[$id] ??= $this->inner->find($id);
    }

    public function free(\DateTimeImmutable $night): array
    {
        return $this->inner->free($night);
    }

    public function save(Berth $berth): void
    {
        unset($this->seen[$berth->id()]);
        $this->inner->save($berth);
    }
}

final class Berth
{
    private function __construct(private int $id, private float $metres)
    {
    }

    public static function fromRow(array $row): self
    {
        return new self((int) $row['id'], (float) $row['metres']);
    }

    public function id(): int
    {
        return $this->id;
    }

    public function metres(): float
    {
        return $this->metres;
    }
}
