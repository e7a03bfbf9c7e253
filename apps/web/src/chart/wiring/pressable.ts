interface Pressable {
  readonly role: "button";
  readonly tabIndex: 0;
  readonly "aria-label": string;
  readonly onClick: () => void;
  readonly onKeyDown: (event: React.KeyboardEvent) => void;
}

/** What makes a group of a drawing a button: its name, by finger, mouse, Enter and Space. */
export function pressable(name: string, press: () => void): Pressable {
  return {
    role: "button",
    tabIndex: 0,
    "aria-label": name,
    onClick: press,
    onKeyDown: (event) => {
      if (event.key !== "Enter" && event.key !== " ") return;
      event.preventDefault();
      press();
    },
  };
}
