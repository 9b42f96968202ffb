import { FormBuilder } from "./form-builder";
import { looksLikeMail, minLength, required } from "./validation";

const form = new FormBuilder()
  .field("name", required)
  .field("password", minLength(12))
  .field("mail", looksLikeMail)
  .sendTo("https://example.org/sign-up")
  .build();

console.log(form.problems(), form.where());
