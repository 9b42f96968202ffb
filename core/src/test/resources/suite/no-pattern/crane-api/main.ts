import { CraneController, CraneRepository } from "./api";

async function main(): Promise<void> {
  const repository = new CraneRepository();
  await repository.save({ id: 4, reach: 40, busy: false });
  const controller = new CraneController(repository);
  console.log(await controller.list(), await controller.reserve(4));
}

void main();
