<?php

declare(strict_types=1);

namespace Aldera\Invoices;

interface InvoiceRepository
{
    public function find(int $number): ?Invoice;

    public function save(Invoice $invoice): void;
}

interface Mailer
{
    public function send(string $to, string $subject, string $body): void;
}

final class SmtpMailer implements Mailer
{
    public function __construct(private string $host, private int $port = 25)
    {
    }

    public function send(string $to, string $subject, string $body): void
    {
        mail($to, $subject, $body);
    }
}

final class PdoInvoices implements InvoiceRepository
{
    public function __construct(private \PDO $pdo)
    {
    }

    public function find(int $number): ?Invoice
    {
        $statement = $this->pdo->prepare('select * from invoice where number = ?');
        $statement->execute([$number]);
        $row = $statement->fetch();

        return $row === false ? null : new Invoice((int) $row['number'], $row['customer']);
    }

    public function save(Invoice $invoice): void
    {
        $this->pdo->prepare('update invoice set paid = ?')->execute([$invoice->isPaid()]);
    }
}

final class InvoiceService
{
    public function __construct(private InvoiceRepository $invoices, private Mailer $mailer)
    {
    }

    public function pay(int $number): void
    {
        $invoice = $this->invoices->find($number) ?? throw new \OutOfBoundsException("no invoice $number");
        $invoice->pay(new \DateTimeImmutable());
        $this->invoices->save($invoice);
        $this->mailer->send($invoice->customer(), 'paid', "thank you for {$invoice->total()->cents} cents");
    }
}

final class InvoiceController
{
    public function __construct(private InvoiceService $service)
    {
    }

    public function __invoke(array $request): array
    {
        try {
            $this->service->pay((int) $request['number']);
        } catch (\DomainException | \OutOfBoundsException $e) {
            return ['status' => 409, 'error' => $e->getMessage()];
        }

        return ['status' => 204];
    }
}
