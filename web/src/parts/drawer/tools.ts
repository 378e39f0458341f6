/** What is used again and again: some of it may be away. */
interface Tool {
  count: number
  lent: number
  worn: number
}

/** How many of a tool can be used today. */
export const here = (tool: Tool) => Math.max(0, tool.count - tool.lent - tool.worn)

/** Why there is none to use. */
export const away = (tool: Tool) => (tool.lent > 0 ? 'on loan' : tool.worn > 0 ? 'worn out' : 'not owned')
