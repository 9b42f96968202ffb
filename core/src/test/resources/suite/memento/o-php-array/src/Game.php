<?php
namespace Aldera\Game;

final class SavedGame
{
    public function __construct(private array $board, private int $turn)
    {
    }

    public function board(): array
    {
        return $this->board;
    }

    public function turn(): int
    {
        return $this->turn;
    }
}

final class Game
{
    /** @var string[] */
    private array $board = [];
    private int $turn = 0;
    private string $player = 'white';

    public function move(string $from, string $to): void
    {
        $this->board[$to] = $this->board[$from] ?? '';
        unset($this->board[$from]);
        $this->turn++;
        $this->player = $this->player === 'white' ? 'black' : 'white';
    }

    public function save(): SavedGame
    {
        return new SavedGame($this->board, $this->turn);
    }

    public function restore(SavedGame $saved): void
    {
        $this->board = $saved->board();
        $this->turn = $saved->turn();
    }
}

final class Arbiter
{
    /** @var SavedGame[] */
    private array $history = [];

    public function __construct(private Game $game)
    {
    }

    public function before(): void
    {
        $this->history[] = $this->game->save();
    }

    public function takeBack(): void
    {
        $saved = array_pop($this->history);
        if ($saved !== null) {
            $this->game->restore($saved);
        }
    }
}
