<?php

namespace Aldera\Billing;

final class InvoiceController
{
    private array $errors = [];

    public function __construct(private \PDO $db, private string $templates)
    {
    }

    public function show(int $id): string
    {
        $statement = $this->db->prepare('select * from invoice where id = ?');
        $statement->execute([$id]);
        $row = $statement->fetch();
        if ($row === false) {
            http_response_code(404);
            return $this->render('missing', ['id' => $id]);
        }
        return $this->render('invoice', ['invoice' => Invoice::fromRow($row)]);
    }

    public function store(array $input): string
    {
        $this->errors = [];
        $this->check($input, 'ship', 'a ship is needed');
        $this->check($input, 'amount', 'an amount is needed');
        if ($this->errors) {
            return $this->render('form', ['errors' => $this->errors]);
        }
        $this->db->prepare('insert into invoice (ship, amount) values (?, ?)')
            ->execute([$input['ship'], (float) $input['amount']]);
        return $this->show((int) $this->db->lastInsertId());
    }

    private function check(array $input, string $key, string $message): void
    {
        if (empty($input[$key])) {
            $this->errors[$key] = $message;
        }
    }

    private function render(string $name, array $data): string
    {
        extract($data);
        ob_start();
        include $this->templates . '/' . $name . '.php';
        return ob_get_clean();
    }
}
